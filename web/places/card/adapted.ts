import type { Version } from '../../../contract/dto';
import { cameOf } from '../../../core/rebalance';

/** Whether something was left out of a version or came in: one that was only kept, or made larger, is no adaptation. */
export const isAdapted = ({
  targetId,
  request,
  doc,
}: Pick<Version, 'targetId' | 'request' | 'doc'>): boolean =>
  targetId !== null &&
  (request.exclude.length > 0 ||
    (request.words?.length ?? 0) > 0 ||
    doc.parts.some((p) => p.lines.some((l) => cameOf(l))));
