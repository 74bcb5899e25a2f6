import { shared } from '../../core/shared';
import { de } from '../de';
import '../locale';

/** Lays this language out for a page, before the app starts in it. */
(shared.words ??= {}).de = de;
