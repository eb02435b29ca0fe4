import { Router, type Request, type Response } from 'express';
import type {
  AdaptRequest,
  BakeRequest,
  CreatePantry,
  CreateVersion,
  DraftDoc,
  Kitchen,
  LabelsRequest,
  MatchRequest,
  ReadRequest,
  VersionMark,
} from '../../contract/dto';
import {
  createPantrySchema,
  eaterSchema,
  kitchenSchema,
  pantryIdsSchema,
  putPantrySchema,
  waySchema,
} from '../../contract/pantry-schemas';
import {
  adaptSchema,
  createFormulaSchema,
  createVersionSchema,
  labelsSchema,
  matchSchema,
  putDraftSchema,
  readSchema,
  changeFormulaSchema,
  markVersionSchema,
} from '../../contract/schemas';
import { bakeSchema } from '../../contract/bake-schemas';
import { restoreSchema, type Backup } from '../../contract/backup';
import type { Formula } from '../../core/formula';
import type { PantryDoc } from '../../core/pantry';
import type { Db } from '../db/open';
import { backupText, restoreBackup } from '../services/backup';
import * as drafts from '../services/drafts';
import * as formulas from '../services/formulas';
import * as kitchen from '../services/kitchen';
import type { DocList } from '../services/lists';
import * as pantry from '../services/pantry';
import * as versions from '../services/versions';
import type { Compute } from '../work/compute';
import { bodyOf } from './guards';
import { openApi } from './openapi';

const idOf = (req: Request): string => String(req.params.id ?? '');

/** Everything under /api/v1. The checked bodies have the shapes of contract/dto: the schemas say the same at run time. */
export function apiRoutes(db: Db, compute: Compute): Router {
  const api = Router();
  api.get('/health', (_req, res) => void res.json({ ok: true }));
  api.get('/openapi.json', (_req, res) => void res.json(openApi()));

  api.post('/read', async (req, res) => {
    res.json(await compute.run('read', bodyOf<ReadRequest>(readSchema, req.body)));
  });
  api.post('/match', async (req, res) => {
    res.json(await compute.run('match', bodyOf<MatchRequest>(matchSchema, req.body)));
  });
  api.post('/labels', async (req, res) => {
    res.json(await compute.run('labels', bodyOf<LabelsRequest>(labelsSchema, req.body)));
  });
  api.post('/adapt', async (req, res) => {
    res.json(await compute.run('adapt', bodyOf<AdaptRequest>(adaptSchema, req.body)));
  });

  api.post('/bake', async (req, res) => {
    res.json(await compute.run('bake', bodyOf<BakeRequest>(bakeSchema, req.body)));
  });

  api
    .route('/formulas')
    .get(async (_req, res) => void res.json({ formulas: await formulas.listFormulas(db) }))
    .post(async (req, res) => {
      const body = bodyOf<{ formula: Formula }>(createFormulaSchema, req.body);
      res.status(201).json(await formulas.createFormula(db, body.formula));
    });
  api
    .route('/formulas/:id')
    .get(async (req, res) => void res.json(await formulas.getFormula(db, idOf(req))))
    .patch(async (req, res) => {
      const change = bodyOf<{ title?: string; archived?: boolean }>(changeFormulaSchema, req.body);
      res.json(await formulas.changeFormula(db, idOf(req), change));
    })
    .delete(async (req, res) => {
      await formulas.deleteFormula(db, idOf(req));
      done(res);
    });
  api.post(
    '/formulas/:id/restore',
    async (req, res) => void res.json(await formulas.restoreFormula(db, idOf(req))),
  );
  api.post(
    '/formulas/:id/duplicate',
    async (req, res) => void res.status(201).json(await formulas.duplicateFormula(db, idOf(req))),
  );
  api.post('/formulas/:id/versions', async (req, res) => {
    const body = bodyOf<CreateVersion>(createVersionSchema, req.body);
    res.status(201).json(await versions.keepVersion(db, idOf(req), body));
  });
  api
    .route('/versions/:id')
    .get(async (req, res) => void res.json(await versions.getVersion(db, idOf(req))))
    .patch(async (req, res) => {
      const mark = bodyOf<VersionMark>(markVersionSchema, req.body);
      res.json(await versions.markVersion(db, idOf(req), mark));
    });
  api
    .route('/formulas/:id/draft')
    .get(async (req, res) => void res.json({ draft: await drafts.getDraft(db, idOf(req)) }))
    .put(async (req, res) => {
      const { rev, doc } = bodyOf<{ rev: number; doc: DraftDoc }>(putDraftSchema, req.body);
      res.json(await drafts.putDraft(db, idOf(req), rev, doc));
    })
    .delete(async (req, res) => {
      await drafts.dropDraft(db, idOf(req));
      done(res);
    });

  // Work that stands on the pantry is asked for after it is told.
  const told = async (): Promise<void> => compute.know(await pantry.listPantry(db));
  api
    .route('/pantry')
    .get(async (_req, res) => void res.json({ items: await pantry.listPantry(db) }))
    .post(async (req, res) => {
      const { docs } = bodyOf<CreatePantry>(createPantrySchema, req.body);
      const items = await pantry.createPantry(db, docs);
      await told();
      res.status(201).json({ items });
    });
  api.put('/pantry/:id', async (req, res) => {
    const { rev, doc } = bodyOf<{ rev: number; doc: PantryDoc }>(putPantrySchema, req.body);
    const item = await pantry.revisePantry(db, idOf(req), rev, doc);
    await told();
    res.json(item);
  });
  for (const [path, move] of [
    ['/pantry/remove', pantry.removePantry],
    ['/pantry/restore', pantry.restorePantry],
  ] as const) {
    api.post(path, async (req, res) => {
      const moved = await move(db, bodyOf<{ itemIds: string[] }>(pantryIdsSchema, req.body).itemIds);
      await told();
      res.json({ moved });
    });
  }

  function listRoutes<Doc>(name: string, schema: Parameters<typeof bodyOf>[0], list: DocList<Doc>): void {
    api
      .route(`/${name}`)
      .get(async (_req, res) => void res.json({ [name]: await list.list(db) }))
      .post(async (req, res) => {
        res.status(201).json(await list.create(db, bodyOf<Doc>(schema, req.body)));
      });
    api
      .route(`/${name}/:id`)
      .put(async (req, res) => {
        res.json(await list.put(db, idOf(req), bodyOf<Doc>(schema, req.body)));
      })
      .delete(async (req, res) => {
        await list.remove(db, idOf(req));
        done(res);
      });
    api.post(`/${name}/:id/restore`, async (req, res) => void res.json(await list.restore(db, idOf(req))));
  }
  listRoutes('eaters', eaterSchema, kitchen.eaters);
  listRoutes('ways', waySchema, kitchen.ways);
  api
    .route('/kitchen')
    .get(async (_req, res) => void res.json(await kitchen.getKitchen(db)))
    .put(async (req, res) => {
      res.json(await kitchen.putKitchen(db, bodyOf<Kitchen>(kitchenSchema, req.body)));
    });
  api
    .route('/backup')
    .get(async (_req, res) => {
      res.type('application/json');
      res.setHeader('Content-Disposition', 'attachment; filename="new-crumb.json"');
      for await (const text of backupText(db)) res.write(text);
      res.end();
    })
    .post(async (req, res) => {
      const body = bodyOf<{ backup: Backup; kitchen: boolean }>(restoreSchema, req.body);
      const restored = await restoreBackup(db, body.backup, body.kitchen);
      await told();
      res.json(restored);
    });
  return api;
}

function done(res: Response): void {
  res.status(204).end();
}
