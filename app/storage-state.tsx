import { isLogFault } from '@/core/faults';
import { LogDecision } from '@/features/frame/log-decision';
import { callerNow } from '@/server/caller';
import { callersHealth } from '@/server/callers-database';
import { isAtHost } from '@/server/permission';
import { mistakesWords } from '@/words/areas/mistakes';

/** Says on every page why nothing can be saved, and lets the host computer decide; nothing while all is well. */
export function StorageState() {
  if (callerNow().door === 'none') return null;
  const health = callersHealth();
  const code = health.isWritable ? undefined : health.code;
  return (
    <LogDecision
      problem={code && mistakesWords.FAULT[code]}
      mayDecide={code !== undefined && isLogFault(code) && isAtHost()}
    />
  );
}
