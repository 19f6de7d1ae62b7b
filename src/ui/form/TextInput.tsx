/** A line of text and no more: the library's usual way in brings codes, passwords and searches with it. */
export { default as TextInput } from "antd/es/input/Input";
