const { getDefaultConfig } = require('expo/metro-config');
const { createProxyMiddleware } = require('http-proxy-middleware');

const config = getDefaultConfig(__dirname);

// The client speaks one language; the schema library's fifty others would be a tenth of its first load.
const ALL_LOCALES = /^\.\.?\/locales\/index\.(c?js)$/;
config.resolver.resolveRequest = (context, name, platform) =>
  ALL_LOCALES.test(name) && context.originModulePath.includes('/zod/')
    ? context.resolveRequest(context, name.replace('index', 'en'), platform)
    : context.resolveRequest(context, name, platform);

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
