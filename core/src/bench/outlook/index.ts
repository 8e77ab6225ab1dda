export { outlookOf, type Outlook } from './outlook.js';
