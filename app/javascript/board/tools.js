// The tools by name. A new tool is a new file in board/tools and a line here (a browser cannot list
// a folder), a new shape a line in board/shapes; its button is a tool_button of the same name.
import * as use from "board/tools/use"
import * as arrange from "board/tools/arrange"
import * as pen from "board/tools/pen"
import * as highlighter from "board/tools/highlighter"
import * as eraser from "board/tools/eraser"
import * as text from "board/tools/text"
import * as note from "board/tools/note"
import * as fill from "board/tools/fill"
import * as laser from "board/tools/laser"
import * as hand from "board/tools/hand"
import { SHAPES } from "board/shapes"
import { dragShape } from "board/drag_shape"

export const tools = { use, arrange, pen, highlighter, eraser, text, note, fill, laser, hand, ...Object.fromEntries(SHAPES.map(name => [name, dragShape(name)])) }
