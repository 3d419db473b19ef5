import { writeFileSync } from 'node:fs';
import { calendarSchema } from '../core/src/formats/calendar-schema';
import { briefSchema, planSchema } from '../core/src/formats/schemas';
import { sportSchema } from '../core/src/formats/sport-schema';

/** Writes the published JSON Schemas from the program's own words. */
writeFileSync('docs/formats/brief.schema.json', `${JSON.stringify(briefSchema, null, 2)}\n`);
writeFileSync('docs/formats/sport.schema.json', `${JSON.stringify(sportSchema, null, 2)}\n`);
writeFileSync('docs/formats/plan.schema.json', `${JSON.stringify(planSchema, null, 2)}\n`);
writeFileSync('docs/formats/calendar.schema.json', `${JSON.stringify(calendarSchema, null, 2)}\n`);
