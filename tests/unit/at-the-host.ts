import { AsyncLocalStorage } from 'node:async_hooks';
import { HERE, type Caller } from '@/server/caller';
import { shared } from '@/core/shared';

/** Tests of what the app does sit at its machine, where none of them says that somebody else asks. */
class AtTheHost extends AsyncLocalStorage<Caller> {
  override getStore(): Caller {
    return super.getStore() ?? HERE;
  }
}

shared.caller = new AtTheHost();
