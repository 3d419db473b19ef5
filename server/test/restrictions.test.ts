import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Club, Caller, freshDatabase, layClub, password, startServer } from './club';
