// The application with every change shown at once, on http://127.0.0.1:4311.
import { install, must } from './lib.mjs';

install();
must(
  process.execPath,
  ['node_modules/@angular/cli/bin/ng.js', 'serve', '--host', '127.0.0.1', '--port', process.env.PORT ?? '4311'],
  { env: { NG_CLI_ANALYTICS: 'false' } },
);
