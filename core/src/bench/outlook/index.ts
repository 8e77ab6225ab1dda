export { outlookOf, type Outlook } from './outlook.js';
export { portionsOf, type Portions } from './portions.js';
