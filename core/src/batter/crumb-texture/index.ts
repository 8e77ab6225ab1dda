export {
  TEXTURE_FORCES,
  crumbTextureOf,
  type TextureForce,
  type TextureShare,
  type CrumbTexture,
} from './crumb-texture.js';
export { classicalRules, CLASSICAL_RULE_CODES, type ClassicalRule, type ClassicalRuleCode } from './classical-rules.js';
