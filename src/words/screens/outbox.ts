import * as english from '../en/screens/outbox';
import { spoken } from '../spoken';

export const outboxScreenWords = spoken(english, 'screens/outbox');
