import Joi from 'joi';
import { batchSettingsSchema } from '../../batch/settings-schema/index.js';
import { dateSchema as date, momentSchema as local } from '../date-schemas/index.js';
import type { DaySheet } from '../sheets/index.js';

const name = Joi.string().allow('').max(200);
const id = Joi.string().min(1).max(200);
const time = Joi.string().pattern(/^\d{2}:\d{2}$/);
const minute = Joi.number().integer().min(-10_000).max(10_000);
const minutes = Joi.object().pattern(Joi.string().max(300), minute);

const task = Joi.object({
  id: Joi.string().max(300).required(),
  kind: Joi.string().max(30).required(),
  batch: Joi.number().integer().min(-1).max(100).required(),
  from: minute.required(),
  to: minute.required(),
  hands: Joi.number().integer().min(0).max(3).required(),
  oven: Joi.number().integer().min(0).max(5),
  celsius: Joi.number().min(0).max(350),
  mayBeCut: Joi.boolean(),
  done: Joi.boolean(),
  what: Joi.string().allow('').max(200),
  pair: Joi.number().integer().min(0).max(5),
});

/** A day as it is stored and exchanged. */
export const daySheetSchema = Joi.object<DaySheet>({
  name: name.required(),
  date: date.required(),
  zone: Joi.string().max(60).required(),
  wishes: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        formulaId: id.required(),
        title: name.required(),
        batch: batchSettingsSchema,
        amount: name.required(),
        due: local.required(),
        served: Joi.string().valid('warm', 'fresh', 'cold').required(),
        sliced: Joi.boolean(),
        packed: Joi.boolean(),
        eveningBefore: Joi.boolean(),
        celsius: Joi.number().min(100).max(300),
        madeOn: date,
        frozen: Joi.boolean(),
      }),
    )
    .max(30)
    .required(),
  own: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        what: name.required(),
        minutes: Joi.number().integer().min(1).max(600).required(),
        due: local.required(),
      }),
    )
    .max(30)
    .required(),
  pairs: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        name: name.required(),
        away: Joi.array()
          .items(Joi.object({ from: time.required(), to: time.required() }))
          .max(10)
          .required(),
      }),
    )
    .min(0)
    .max(3)
    .required(),
  ovens: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        name: name.required(),
        racks: Joi.number().integer().min(1).max(4).required(),
        minutesTo180: Joi.number().min(1).max(60),
      }),
    )
    .min(1)
    .max(3)
    .required(),
  mixers: Joi.number().integer().min(0).max(9).required(),
  bowls: Joi.number().integer().min(1).max(99).required(),
  fridgeLitres: Joi.number().min(0).max(2000).required(),
  freezerLitres: Joi.number().min(0).max(2000),
  roomCelsius: Joi.number().min(5).max(45).required(),
  notBefore: time.required(),
  locks: minutes.required(),
  done: minutes.required(),
  plannedFrom: minute,
  skipped: Joi.array().items(Joi.string().max(300)).max(500).required(),
  minutes: Joi.object().pattern(Joi.string().max(300), Joi.number().min(0).max(1440)).required(),
  givenTo: Joi.object().pattern(Joi.string().max(300), id).default({}),
  ticked: Joi.array().items(Joi.string().max(200)).max(1000).required(),
  trial: Joi.object({ change: Joi.string().allow('').max(300).required() }),
  kept: Joi.object({
    proven: Joi.boolean().required(),
    safe: Joi.boolean().required(),
    cost: Joi.number().min(-1e15).max(1e15).required(),
    bound: Joi.number().min(-1e15).max(1e15).required(),
    startsAt: minute.required(),
    ovenMinutes: Joi.number().min(0).max(1e6).required(),
    tasks: Joi.array().items(task).max(2000).required(),
    onTime: Joi.array().items(Joi.number().min(0).max(1)).max(100).required(),
  }),
});
