import 'dayjs/locale/de';
import { GERMAN_NAMES } from '../../../../core/ingredients';
import type { Catalogues } from '../../language';
import * as addGerman from './add';
import * as appGerman from './app';
import * as bakeGerman from './bake';
import * as benchGerman from './bench';
import * as cardGerman from './card';
import * as clockGerman from './clock';
import * as daysGerman from './days';
import * as deskGerman from './desk';
import * as doorGerman from './door';
import * as handbookGerman from './handbook';
import * as kitchenGerman from './kitchen';
import * as liftGerman from './lift';
import * as notebookGerman from './notebook';
import * as pantryGerman from './pantry';
import * as partsGerman from './parts';
import * as peopleGerman from './people';
import * as readGerman from './read';
import * as shelfGerman from './shelf';
import * as sliceGerman from './slice';
import * as startGerman from './start';
import * as unitsGerman from './units';
import * as versionsGerman from './versions';
import * as sentencesActionsGerman from './sentences/actions';
import * as sentencesBenchGerman from './sentences/bench';
import * as sentencesCardTextGerman from './sentences/cardText';
import * as sentencesClockGerman from './sentences/clock';
import * as sentencesComputeGerman from './sentences/compute';
import * as sentencesDayGerman from './sentences/day';
import * as sentencesDayStateGerman from './sentences/dayState';
import * as sentencesDifferencesGerman from './sentences/differences';
import * as sentencesExperimentGerman from './sentences/experiment';
import * as sentencesHeatGerman from './sentences/heat';
import * as sentencesKitchenGerman from './sentences/kitchen';
import * as sentencesPhotosGerman from './sentences/photos';
import * as sentencesProblemsGerman from './sentences/problems';
import * as sentencesSavingGerman from './sentences/saving';
import * as sentencesSayGerman from './sentences/say';
import * as sentencesSliceGerman from './sentences/slice';
import * as sentencesStyleGerman from './sentences/style';
import * as sentencesSuitabilityGerman from './sentences/suitability';
import * as sentencesTastingGerman from './sentences/tasting';
import * as sentencesThingsGerman from './sentences/things';
import * as sentencesTrialGerman from './sentences/trial';
import * as sentencesTrialTextGerman from './sentences/trialText';
import * as dataActionsGerman from './tables/actions';
import * as dataBakeGerman from './tables/bake';
import * as dataFaultsGerman from './tables/faults';
import * as dataHandbookGerman from './tables/handbook';
import * as dataKitsGerman from './tables/kits';
import * as dataLiftGerman from './tables/lift';
import * as dataNamesGerman from './tables/names';
import * as dataTasksGerman from './tables/tasks';
import * as dataTermsGerman from './tables/terms';
import * as dataWaysGerman from './tables/ways';

/** German, whole: every catalogue by the name it is asked for. */
export const catalogues: Catalogues = {
  ingredients: Object.fromEntries(Object.entries(GERMAN_NAMES).map(([id, names]) => [id, names[0]])),
  add: addGerman.addWords,
  app: appGerman.appWords,
  bake: bakeGerman.bakeWords,
  bench: benchGerman.benchWords,
  card: cardGerman.cardWords,
  clock: clockGerman.clockWords,
  days: daysGerman.daysWords,
  desk: deskGerman.deskWords,
  door: doorGerman.doorWords,
  handbook: handbookGerman.handbookWords,
  kitchen: kitchenGerman.kitchenWords,
  lift: liftGerman.liftWords,
  notebook: notebookGerman.notebookWords,
  pantry: pantryGerman.pantryWords,
  parts: partsGerman.partsWords,
  people: peopleGerman.peopleWords,
  read: readGerman.readWords,
  shelf: shelfGerman.shelfWords,
  slice: sliceGerman.sliceWords,
  start: startGerman.startWords,
  units: unitsGerman.unitWords,
  versions: versionsGerman.versionsWords,
  'sentences/actions': sentencesActionsGerman.actionsSentences,
  'sentences/bench': sentencesBenchGerman.benchSentences,
  'sentences/cardText': sentencesCardTextGerman.cardTextSentences,
  'sentences/clock': sentencesClockGerman.clockSentences,
  'sentences/compute': sentencesComputeGerman.computeSentences,
  'sentences/day': sentencesDayGerman.daySentences,
  'sentences/dayState': sentencesDayStateGerman.dayStateSentences,
  'sentences/differences': sentencesDifferencesGerman.differencesSentences,
  'sentences/experiment': sentencesExperimentGerman.experimentSentences,
  'sentences/heat': sentencesHeatGerman.heatSentences,
  'sentences/kitchen': sentencesKitchenGerman.kitchenSentences,
  'sentences/photos': sentencesPhotosGerman.photosSentences,
  'sentences/problems': sentencesProblemsGerman.problemsSentences,
  'sentences/saving': sentencesSavingGerman.savingSentences,
  'sentences/say': sentencesSayGerman.saySentences,
  'sentences/slice': sentencesSliceGerman.sliceSentences,
  'sentences/style': sentencesStyleGerman.styleSentences,
  'sentences/suitability': sentencesSuitabilityGerman.suitabilitySentences,
  'sentences/tasting': sentencesTastingGerman.tastingSentences,
  'sentences/things': sentencesThingsGerman.thingsSentences,
  'sentences/trial': sentencesTrialGerman.trialSentences,
  'sentences/trialText': sentencesTrialTextGerman.trialTextSentences,
  'actions.ACTION_WORDS': dataActionsGerman.ACTION_WORDS,
  'actions.ACTION_COVER_WORDS': dataActionsGerman.ACTION_COVER_WORDS,
  'actions.ACTION_PLACE_WORDS': dataActionsGerman.ACTION_PLACE_WORDS,
  'bake.TIN_WORDS': dataBakeGerman.TIN_WORDS,
  'bake.METAL_WORDS': dataBakeGerman.METAL_WORDS,
  'bake.COVER_WORDS': dataBakeGerman.COVER_WORDS,
  'bake.HEAT_WORDS': dataBakeGerman.HEAT_WORDS,
  'bake.FORM_WORDS': dataBakeGerman.FORM_WORDS,
  'bake.REASON_WORDS': dataBakeGerman.REASON_WORDS,
  'bake.BAKE_FAULT_WORDS': dataBakeGerman.BAKE_FAULT_WORDS,
  'bake.SCHOOL_WORDS': dataBakeGerman.SCHOOL_WORDS,
  'bake.BAKE_NOTE_WORDS': dataBakeGerman.BAKE_NOTE_WORDS,
  'bake.KEEP_WORDS': dataBakeGerman.KEEP_WORDS,
  'bake.SIGN_WORDS': dataBakeGerman.SIGN_WORDS,
  'faults.FAULT_WORDS': dataFaultsGerman.FAULT_WORDS,
  'faults.CAUSE_WORDS': dataFaultsGerman.CAUSE_WORDS,
  'faults.REPAIR_WORDS': dataFaultsGerman.REPAIR_WORDS,
  'handbook.SECTION_WORDS': dataHandbookGerman.SECTION_WORDS,
  'handbook.GENERAL_CAUTIONS': dataHandbookGerman.GENERAL_CAUTIONS,
  'handbook.BASIS_WORDS': dataHandbookGerman.BASIS_WORDS,
  'handbook.DOSED_WORDS': dataHandbookGerman.DOSED_WORDS,
  'handbook.CAUTION_TITLES': dataHandbookGerman.CAUTION_TITLES,
  'handbook.SOURCE_USE': dataHandbookGerman.SOURCE_USE,
  'handbook.SOURCE_WORDS': dataHandbookGerman.SOURCE_WORDS,
  'kits.KIT_WORDS': dataKitsGerman.KIT_WORDS,
  'lift.YEAST_TABLE_WORDS': dataLiftGerman.YEAST_TABLE_WORDS,
  'lift.GAS_WORDS': dataLiftGerman.GAS_WORDS,
  'lift.EFFECT_WORDS': dataLiftGerman.EFFECT_WORDS,
  'lift.RISK_WORDS': dataLiftGerman.RISK_WORDS,
  'lift.EXCHANGE_WORDS': dataLiftGerman.EXCHANGE_WORDS,
  'lift.GAUGE_WORDS': dataLiftGerman.GAUGE_WORDS,
  'lift.PLACE_WORDS': dataLiftGerman.PLACE_WORDS,
  'lift.PLAN_FAULT_WORDS': dataLiftGerman.PLAN_FAULT_WORDS,
  'names.AVOID_WORDS': dataNamesGerman.AVOID_WORDS,
  'names.CLASS_WORDS': dataNamesGerman.CLASS_WORDS,
  'names.EXCLUSION_WORDS': dataNamesGerman.EXCLUSION_WORDS,
  'tasks.TASK_WORDS': dataTasksGerman.TASK_WORDS,
  'tasks.TASK_CAUTIONS': dataTasksGerman.TASK_CAUTIONS,
  'terms.JOB_WORDS': dataTermsGerman.JOB_WORDS,
  'terms.JOB_NOUNS': dataTermsGerman.JOB_NOUNS,
  'terms.FIT_WORDS': dataTermsGerman.FIT_WORDS,
  'terms.PROP_WORDS': dataTermsGerman.PROP_WORDS,
  'terms.PROP_NOTES': dataTermsGerman.PROP_NOTES,
  'terms.FEEL_WORDS_TEXT': dataTermsGerman.FEEL_WORDS_TEXT,
  'terms.UNIT_WORDS': dataTermsGerman.UNIT_WORDS,
  'terms.CAUTION_WORDS': dataTermsGerman.CAUTION_WORDS,
  'terms.LIMIT_WORDS': dataTermsGerman.LIMIT_WORDS,
  'terms.ROLE_WORDS': dataTermsGerman.ROLE_WORDS,
  'terms.GROUP_WORDS': dataTermsGerman.GROUP_WORDS,
  'terms.PRESET_WORDS': dataTermsGerman.PRESET_WORDS,
  'terms.RULESET_WORDS': dataTermsGerman.RULESET_WORDS,
  'terms.CUP_WORDS': dataTermsGerman.CUP_WORDS,
  'terms.SPOON_WORDS': dataTermsGerman.SPOON_WORDS,
  'terms.COMPONENT_WORDS': dataTermsGerman.COMPONENT_WORDS,
  'terms.PANEL_WORDS': dataTermsGerman.PANEL_WORDS,
  'terms.KIND_WORDS': dataTermsGerman.KIND_WORDS,
  'terms.GROUP_NAMES': dataTermsGerman.GROUP_NAMES,
  'terms.PIECE_WORDS': dataTermsGerman.PIECE_WORDS,
  'terms.KEEPING_WORDS': dataTermsGerman.KEEPING_WORDS,
  'ways.DOSED_WORDS': dataWaysGerman.DOSED_WORDS,
  'ways.SURE': dataWaysGerman.SURE,
  'ways.DOSE_WORDS': dataWaysGerman.DOSE_WORDS,
  'ways.FAMILY_WORDS': dataWaysGerman.FAMILY_WORDS,
  'ways.STATE_WORDS': dataWaysGerman.STATE_WORDS,
};
