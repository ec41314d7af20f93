import { isItemKind, UNKNOWN_KIND, type GearKind, type OwnedKind } from './kinds'
import { measureOf } from './usual'
import type { Measure } from './things'

/** What a tool or a supply usually is: a starting value each, until somebody says otherwise. */
export interface UsualGear {
  measure: Measure
  /** What one holds as it is bought: pieces of a pack, ml of a bottle. */
  size: number
  /** Grams and millilitres of room of one full, as it lies in a pouch. */
  massG: number
  roomMl: number
  /** Grams of the pack when it is empty; the rest goes as it is used. */
  emptyG: number
}

const tool = (massG: number, roomMl: number): UsualGear => ({
  measure: 'piece',
  size: 1,
  massG,
  roomMl,
  emptyG: massG,
})
const pack = (size: number, massG: number, roomMl: number): UsualGear => ({
  measure: 'piece',
  size,
  massG,
  roomMl,
  emptyG: Math.min(10, massG * 0.1),
})
const poured = (size: number, emptyG: number): UsualGear => ({
  measure: 'ml',
  size,
  massG: size + emptyG,
  roomMl: size * 1.4 + 20,
  emptyG,
})

export const USUAL_GEAR: Readonly<Record<GearKind, UsualGear>> = {
  'brush': tool(12, 30),
  'sponge': tool(6, 60),
  'puff': tool(5, 40),
  'spoolie': tool(3, 8),
  'tweezers': tool(18, 10),
  'scissors': tool(25, 20),
  'lash curler': tool(35, 80),
  'lash applicator': tool(20, 15),
  'sharpener': tool(15, 12),
  'mixing palette': tool(110, 90),
  'spatula': tool(18, 8),
  'palette case': tool(180, 250),
  'spray gun': tool(160, 250),
  'compressor': tool(900, 1500),
  'mirror': tool(250, 300),
  'light': tool(900, 2500),
  'power': tool(350, 450),
  'stand': tool(1200, 2500),
  'chair': tool(4500, 20000),
  'case': tool(3500, 500),
  'pouch': tool(120, 60),
  'belt': tool(180, 250),
  'brush roll': tool(150, 200),
  'clip': tool(6, 10),
  'headband': tool(25, 60),
  'comb': tool(20, 25),
  'razor': tool(60, 80),
  'trimmer': tool(150, 200),
  'scale': tool(130, 120),
  'towel': tool(200, 700),
  'mat': tool(180, 250),
  'fan': tool(150, 300),
  'bottle': tool(20, 120),
  'sewing kit': tool(40, 60),
  'camera': tool(350, 450),
  'mascara wands': pack(50, 35, 150),
  'lip applicators': pack(50, 35, 150),
  'cotton rounds': pack(80, 60, 450),
  'cotton buds': pack(100, 40, 250),
  'cotton wool': pack(1, 100, 900),
  'tissues': pack(100, 180, 700),
  'wet wipes': pack(25, 150, 250),
  'blotting sheets': pack(100, 15, 30),
  'disposable spatulas': pack(100, 80, 200),
  'disposable sponges': pack(24, 30, 300),
  'disposable blades': pack(5, 40, 90),
  'gloves': pack(20, 70, 250),
  'face masks': pack(10, 35, 200),
  'capes': pack(1, 120, 350),
  'alcohol': poured(250, 30),
  'hand gel': poured(100, 18),
  'brush cleanser': poured(200, 25),
  'surface wipes': pack(40, 220, 400),
  'soap': poured(100, 18),
  'rubbish bags': pack(20, 120, 200),
  'tape': pack(1, 30, 60),
  'pins': pack(20, 20, 20),
  'plasters': pack(20, 25, 60),
  'first-aid box': pack(1, 250, 600),
  'mints': pack(1, 25, 40),
  'straws': pack(20, 20, 120),
  'lint roller': pack(1, 90, 250),
  'labels': pack(50, 20, 30),
  'jars': pack(10, 80, 200),
  'kitchen roll': pack(1, 250, 1800),
  'business cards': pack(50, 80, 60),
  'paperwork': pack(1, 200, 300),
  'hair ties': pack(10, 10, 30),
  'hair spray': poured(75, 35),
  'water': poured(500, 25),
  'snacks': pack(2, 80, 150),
  'pain relief': pack(1, 20, 40),
  'sanitary towels': pack(6, 60, 200),
  'hair grips': pack(30, 30, 30),
  [UNKNOWN_KIND]: tool(50, 80),
}

/** What things of a kind are weighed or counted in. */
export const usualMeasure = (kind: OwnedKind): Measure =>
  isItemKind(kind) ? measureOf(kind) : USUAL_GEAR[kind].measure

/** Alcohol above this evaporates before it acts: it is not what disinfects. */
export const STRONGEST_DISINFECTING = 90
