import createClient from 'openapi-fetch';
import type {
  AmpleTideClass,
  Area,
  Family,
  Item,
  Line,
  Pause,
  Section,
  Set as LineSet,
  Sides,
  Surface,
  Talk,
  Wait,
} from './classFile';
import type { components, paths } from './schema';

type Schemas = components['schemas'];

export type ClassFile = AmpleTideClass;
export type { Area, Family, Item, Line, LineSet, Pause, Section, Sides, Surface, Talk, Wait };
export type Score = Schemas['ScoreResponse'];
export type LineScore = Schemas['LineResponse'];
export type Finding = Schemas['FindingResponse'];
export type Fix = Schemas['FixResponse'];
export type Move = Schemas['MoveSummary'];
export type MoveDetail = Schemas['MoveResponse'];
export type Preview = Schemas['PreviewResponse'];
export type MoveToMend = Schemas['MoveToMend'];
export type SignKey = Schemas['SignsResponse'];
export type Body = Schemas['BodyResponse'];
export type BodyAxis = Schemas['BodyAxisResponse'];
export type Stage = Schemas['StageResponse'];
export type Frames = Schemas['FramesResponse'];
export type Condition = Schemas['ConditionSummary'];
export type Prop = Schemas['Prop'];
export type Conventions = Schemas['ConventionsResponse'];
export type Companion = Schemas['CompanionResponse'];
export type Way = Schemas['WayResponse'];
export type Position = Schemas['PositionResponse'];
export type Figure = Schemas['Figure'];
export type FigurePath = Schemas['FigurePath'];
export type Version = Schemas['VersionEntry'];
export type ShelfEntry = Schemas['ShelfEntry'];
export type Applied = Schemas['ApplyResponse'];
export type Fitted = Schemas['FitResponse'];
export type Lesson = Omit<Schemas['LessonResponse'], 'score'> & { score: Score };
export type LessonPass = Schemas['PassResponse'];
export type LessonEvent = Schemas['LessonEventResponse'];
export type Rung = Schemas['RungResponse'];
export type Format = Schemas['FormatResponse'];
export type ReadText = Schemas['ReadTextResponse'];
export type Taught = Schemas['Taught'];
export type BinEntry = Schemas['BinEntry'];
export type UnreadableClass = Schemas['UnreadableClass'];

export const api = createClient<paths>({ baseUrl: '/' });

/** What went wrong, in the server's own sentence where there is one. */
export function sentence(problem: unknown): string {
  if (problem && typeof problem === 'object' && 'title' in problem) {
    const { title, detail } = problem as { title: string; detail?: string };
    return detail ? `${title} ${detail}` : title;
  }
  return 'The server cannot be reached. What you see is kept here until it answers.';
}
