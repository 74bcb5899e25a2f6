import * as english from '../en/screens/outbox';
import { localized } from '../localized';

export const outboxScreenWords = localized(english, 'screens/outbox');
