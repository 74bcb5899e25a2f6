import { shared } from '../../core/shared';
import { nb } from '../nb';
import '../locale';

/** Lays this language out for a page, before the app starts in it. */
(shared.words ??= {}).nb = nb;
