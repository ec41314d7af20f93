import { createRenderer, h, nextTick, type Component, type VNode } from 'vue'

/*
 * Components drawn into plain objects, without a browser: what they say and offer, and what a press of a button does. How they look is
 * tried by the browser tests.
 */

/** An element, or a text where it has no tag. */
export interface Drawn {
  tag: string
  text: string
  props: Record<string, unknown>
  children: Drawn[]
  parent: Drawn | null
}
const make = (tag: string, text = ''): Drawn => ({ tag, text, props: {}, children: [], parent: null })
const remove = (node: Drawn) => {
  const siblings = node.parent?.children
  if (siblings) siblings.splice(siblings.indexOf(node), 1)
  node.parent = null
}

const { createApp } = createRenderer<Drawn, Drawn>({
  createElement: tag => make(tag),
  createText: text => make('', text),
  createComment: () => make('!'),
  setText: (node, text) => void (node.text = text),
  setElementText: (node, text) => void (node.children = text ? [{ ...make('', text), parent: node }] : []),
  parentNode: node => node.parent,
  nextSibling: node => node.parent?.children[node.parent.children.indexOf(node) + 1] ?? null,
  insert(node, parent, before) {
    remove(node)
    node.parent = parent
    parent.children.splice(before ? parent.children.indexOf(before) : parent.children.length, 0, node)
  },
  remove,
  patchProp: (node, key, _before, now) => void (node.props[key] = now),
})

export const textOf = (node: Drawn): string =>
  (node.tag === '' ? node.text : node.children.map(textOf).join('')).replace(/\s+/g, ' ')
/** Every element below one that passes, in the order they are drawn. */
export const all = (node: Drawn, passes: (node: Drawn) => boolean): Drawn[] =>
  node.children.flatMap(child => [...(passes(child) ? [child] : []), ...all(child, passes)])

/** A component of the material, drawn as one element with what it was given. */
const plain = (tag: string): Component => ({
  inheritAttrs: false,
  setup:
    (_, { attrs, slots }) =>
    () =>
      h(tag, attrs, slots.default?.({})),
})
const MATERIAL = {
  'v-btn': plain('button'),
  'v-btn-toggle': plain('div'),
  'v-text-field': plain('input'),
  'v-number-input': plain('input'),
  'v-dialog': plain('dialog'),
  'v-card': plain('div'),
  'NuxtLink': plain('a'),
}

/** Draws a component; `parts` are those of our own that it names. */
export function mount(
  component: Component,
  props: Record<string, unknown> = {},
  { slots = {}, parts = {} }: { slots?: Record<string, () => VNode | string>; parts?: Record<string, Component> } = {},
) {
  const root = make('root')
  const app = createApp({ setup: () => () => h(component, props, slots) })
  for (const [name, part] of Object.entries({ ...MATERIAL, ...parts })) app.component(name, part)
  app.mount(root)
  const button = (words: string) => {
    const found = all(root, n => n.tag === 'button' && textOf(n).trim() === words)
    if (found.length !== 1) throw new Error(`${found.length} buttons say "${words}" in: ${textOf(root)}`)
    return found[0]!
  }
  return {
    root,
    text: () => textOf(root).trim(),
    button,
    async press(words: string) {
      const { onClick } = button(words).props as { onClick: ((event: object) => unknown) | (() => unknown)[] }
      for (const act of [onClick].flat()) await act({})
      await nextTick()
    },
    one: (tag: string) => all(root, n => n.tag === tag)[0],
    withRole: (role: string) => all(root, n => n.props.role === role)[0],
  }
}
