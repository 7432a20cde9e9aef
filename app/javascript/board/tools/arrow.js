import { dragShape } from "board/drag_shape"

export const { cursor, move, up, cancel } = dragShape({ kind: "arrow", closed: false, element: "line" })
