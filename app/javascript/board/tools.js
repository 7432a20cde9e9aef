// The tools by name. A new tool is a new file in board/tools and a line here (a browser cannot list
// a folder); its button is a partial of the same name.
import * as use from "board/tools/use"
import * as arrange from "board/tools/arrange"
import * as pen from "board/tools/pen"
import * as eraser from "board/tools/eraser"
import * as text from "board/tools/text"
import * as note from "board/tools/note"
import * as rectangle from "board/tools/rectangle"
import * as ellipse from "board/tools/ellipse"
import * as line from "board/tools/line"
import * as arrow from "board/tools/arrow"
import * as laser from "board/tools/laser"
import * as hand from "board/tools/hand"

export const tools = { use, arrange, pen, eraser, text, note, rectangle, ellipse, line, arrow, laser, hand }
