import { dragShape } from "board/drag_shape"

export const { cursor, move, up, cancel } = dragShape({ kind: "ellipse", closed: true, element: "ellipse" })
