export { LABEL_REGIONS, labelWord, labelWords } from './allergens.js';
export { allergensIn, labelOf, type DateMark, type LabelDraft, type LabelIngredient } from './label.js';
export { qrPath, type QrCode } from './qr.js';
export { nutritionPanel, type PanelRow } from './panel.js';
export { LABEL_SHEETS, labelSheet, type LabelSheet } from './sheets.table.js';
