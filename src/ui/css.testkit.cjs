/** Class names of a style sheet, each named as it is written. */
module.exports = new Proxy({}, { get: (_, name) => (name === "__esModule" ? false : String(name)) });
