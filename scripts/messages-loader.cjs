// Compiles the ICU messages of a catalogue file while it is built, so that a tablet is sent no parser.
module.exports = function compileMessages(source) {
  const done = this.async();
  import("icu-minify/compile").then(({ default: compile }) => {
    const [, name, body] = /export const (\w+) = (\{[\s\S]*\}) as const;/.exec(source);
    const messages = Object.entries(new Function(`return ${body}`)());
    const compiled = Object.fromEntries(messages.map(([key, message]) => [key, compile(message)]));
    done(null, `export const ${name} = ${JSON.stringify(compiled)};\n`);
  }, done);
};
