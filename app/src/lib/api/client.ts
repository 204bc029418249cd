import createClient from 'openapi-fetch';
import type { AmpleTideClass, Item, Line, Section, Set as LineSet } from './classFile';
import type { components, paths } from './schema';

type Schemas = components['schemas'];

export type ClassFile = AmpleTideClass;
export type { Item, Line, LineSet, Section };
export type Score = Schemas['ScoreAnswer'];
export type LineScore = Schemas['LineAnswer'];
export type Finding = Schemas['FindingAnswer'];
export type Fix = Schemas['FixAnswer'];
export type Move = Schemas['MoveSummary'];
export type MoveDetail = Schemas['MoveAnswer'];
export type Preview = Schemas['PreviewAnswer'];
export type MoveToMend = Schemas['MoveToMend'];
export type Body = Schemas['BodyAnswer'];
export type BodyAxis = Schemas['BodyAxisAnswer'];
export type Stage = Schemas['StageAnswer'];
export type Frames = Schemas['FramesAnswer'];
export type Condition = Schemas['Condition'];
export type Prop = Schemas['Prop'];
export type Conventions = Schemas['ConventionsAnswer'];
export type Companion = Schemas['CompanionAnswer'];
export type Way = Schemas['WayAnswer'];
export type Position = Schemas['PositionAnswer'];
export type Figure = Schemas['Figure'];
export type FigurePart = Schemas['FigurePart'];
export type Capsule = Schemas['Capsule'];
export type Version = Schemas['VersionEntry'];
export type ShelfEntry = Schemas['ShelfEntry'];
export type Applied = Omit<Schemas['ApplyAnswer'], 'class'> & { class: ClassFile };

export const api = createClient<paths>({ baseUrl: '/' });

/** What went wrong, in the server's own sentence where there is one. */
export function sentence(problem: unknown): string {
  if (problem && typeof problem === 'object' && 'title' in problem) {
    const { title, detail } = problem as { title: string; detail?: string };
    return detail ? `${title} ${detail}` : title;
  }
  return 'The server cannot be reached. What you see is kept here until it answers.';
}
