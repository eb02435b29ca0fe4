import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import type { CallName } from '../../../contract/calls';
import type { Deed } from '../../../contract/people';
import { problemIn } from '../../api/ask';
import { useDeedsQuery } from '../../api/people';
import { Notice } from '../../parts/Notice';
import { moment } from '../../words/format';
import { sayPeopleProblem } from '../../words/peopleProblems';
import classes from '../../shared/kitchen/kitchen.module.css';
import { peopleWords } from '../../words/data/en/people';

const W = peopleWords.deeds;
/** The server gives so many at once; fewer are the last. */
const A_PAGE = 100;

function Rows({ before, onLast }: { before: number | null; onLast: (d: Deed | null) => void }) {
  const { data, error } = useDeedsQuery(before);
  const last = data?.length === A_PAGE ? data.at(-1)! : null;
  return (
    <>
      {error !== undefined && (
        <Table.Tr>
          <Table.Td colSpan={3}>
            <Notice kind="trouble">{sayPeopleProblem(problemIn(error))}</Notice>
          </Table.Td>
        </Table.Tr>
      )}
      {data?.map((d) => (
        <Table.Tr key={d.seq}>
          <Table.Td>{moment(d.at)}</Table.Td>
          <Table.Td>{d.name}</Table.Td>
          <Table.Td>{peopleWords.did[d.call as CallName] ?? d.call}</Table.Td>
        </Table.Tr>
      ))}
      {last && (
        <Table.Tr className="no-print">
          <Table.Td colSpan={3}>
            <Button variant="subtle" onClick={() => onLast(last)}>
              {W.earlier}
            </Button>
          </Table.Td>
        </Table.Tr>
      )}
    </>
  );
}

/** Who did what, the latest first. */
export function Deeds() {
  const [pages, setPages] = useState<(number | null)[]>([null]);
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="deeds">
      <h2 id="deeds">{W.whoDidWhat}</h2>
      <p className="small quiet">{W.about}</p>
      <Table aria-labelledby="deeds">
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{W.when}</Table.Th>
            <Table.Th scope="col">{W.name}</Table.Th>
            <Table.Th scope="col">{W.what}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {pages.map((before, i) => (
            <Rows
              key={before ?? 'first'}
              before={before}
              // Only what stands last has earlier ones.
              onLast={(d) => d && i === pages.length - 1 && setPages([...pages, d.seq])}
            />
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}
