import { DEVICE_FIELDS, type Device } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom } from './from-fields';

/** Name and role of a device, as they are sent. */
export const deviceSchema = schemaFrom<Pick<Device, 'name' | 'role'>>(
  DEVICE_FIELDS,
  fieldsWords.DEVICE,
);
