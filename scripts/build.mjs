// `npm run build`: the application as it is served, in dist/app; nothing where it stands already.
import { buildApplication, install } from './lib.mjs';

install();
buildApplication();
