/** What stands on the tide line beside the water. */

export interface Band {
  id: string;
  name: string;
  fromMs: number;
  toMs: number;
}
export interface Tick {
  ms: number;
  side: 'right' | 'left';
}
export interface Mark {
  ms: number;
  level: 'serious' | 'notable' | 'hint';
  text: string;
}
