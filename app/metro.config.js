const { getDefaultConfig } = require('expo/metro-config');
const { createProxyMiddleware } = require('http-proxy-middleware');

const config = getDefaultConfig(__dirname);

// The client speaks one language and writes no JSON schemas: these parts of the schema library, which it would carry and
// never call, would be a tenth of its first load.
const ALL_LOCALES = /^\.\.?\/locales\/index\.(c?js)$/;
const JSON_SCHEMAS = /\/(from-json-schema|json-schema-processors)\.(c?js)$/;
// What turns pages of other kinds into PDF, which nothing here is, would be twice as much as the rest of that package.
const OF_PDF = /^(html2canvas|dompurify|canvg|core-js\/.*)$/;
config.resolver.resolveRequest = (context, name, platform) => {
  if (context.originModulePath.includes('/jspdf/') && OF_PDF.test(name)) return { type: 'empty' };
  const inZod = context.originModulePath.includes('/zod/');
  if (inZod && JSON_SCHEMAS.test(name)) return { type: 'empty' };
  return context.resolveRequest(
    context,
    inZod && ALL_LOCALES.test(name) ? name.replace('index', 'en') : name,
    platform,
  );
};

// A module is read when it is first called for, so that a place pays for nothing of what the others need.
const { getTransformOptions } = config.transformer;
config.transformer.getTransformOptions = async (...args) => {
  const options = await getTransformOptions?.(...args);
  return {
    ...options,
    transform: { ...options?.transform, experimentalImportSupport: false, inlineRequires: true },
  };
};

// While developing, the bundler serves the client and hands what is for the API on to the server.
const { OMTEL_API } = process.env;
if (OMTEL_API) {
  const toServer = createProxyMiddleware({ target: OMTEL_API, pathFilter: '/api' });
  config.server = {
    ...config.server,
    enhanceMiddleware: (bundler) => (request, response, next) =>
      toServer(request, response, () => bundler(request, response, next)),
  };
}

module.exports = config;
