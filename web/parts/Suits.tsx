import {
  IconAlertTriangle,
  IconCheck,
  IconQuestionMark,
  IconX,
  type Icon as TablerIcon,
} from '@tabler/icons-react';
import type { Finding } from '../../core/exclusions';
import type { Suitability } from '../../core/suits';
import { saySuitability } from '../words/suitability';
import classes from './parts.module.css';

export const FINDING_ICONS: Record<Finding, TablerIcon> = {
  contains: IconX,
  may_contain: IconAlertTriangle,
  check_packets: IconQuestionMark,
  no_conflict_found: IconCheck,
};

/** What can be said of a bake and whom it suits: the same words wherever it is told, the worst first. */
export function Suits({ suits }: { suits: Suitability }) {
  const order: Finding[] = [
    ...(suits.contains.length > 0 ? (['contains'] as const) : []),
    ...(suits.may.length > 0 ? (['may_contain'] as const) : []),
    ...(suits.check.length > 0 ? (['check_packets'] as const) : []),
  ];
  return (
    <ul className={classes.suits}>
      {saySuitability(suits).map((words, i) => {
        const finding = order[i] ?? 'no_conflict_found';
        const Icon = FINDING_ICONS[finding];
        return (
          <li key={words} data-finding={finding}>
            <Icon size={17} stroke={1.9} aria-hidden="true" />
            <span>{words}</span>
          </li>
        );
      })}
    </ul>
  );
}
