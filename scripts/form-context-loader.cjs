// Every input of Ant Design asks for the form's context, and with it the build would send the whole form with its validators to pages that
// have none: the barrel it is asked from assigns to its exports, so nothing of it can be left out. The context itself is a module of its own.
module.exports = function (source) {
  const narrowed = source.replace("'@rc-component/form'", "'@rc-component/form/es/FormContext'");
  if (narrowed === source)
    throw new Error("antd/es/form/context.js no longer asks where this loader looks: look again.");
  return narrowed;
};
