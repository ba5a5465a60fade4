// In tests that run without a browser every class of a stylesheet is called what it is called there.
module.exports = new Proxy({}, { get: (_, name) => (name === '__esModule' ? false : name) });
