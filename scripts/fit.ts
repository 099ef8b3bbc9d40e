/** `npm run --silent fit -- --sequence FILE --people FILE --on YYYY-MM-DD [--out json|text]` */
import { fitCommand, UsageError } from './lib/fitCommand.js';

try {
  console.log(fitCommand(process.argv.slice(2)));
} catch (error) {
  if (!(error instanceof UsageError)) throw error;
  console.error(error.message);
  process.exitCode = 2;
}
