import { inject, provide, shallowRef, type InjectionKey, type ShallowRef } from 'vue'

/** The formation a play is tried against, and the usual names that somebody in it has. */
export interface Met {
  readonly formation: string
  readonly names: ReadonlySet<string>
}
const MET: InjectionKey<ShallowRef<Met | undefined>> = Symbol('met')

/** What is written here is tried; its sentences know who is there. */
export function provideMet(): ShallowRef<Met | undefined> {
  const met = shallowRef<Met>()
  provide(MET, met)
  return met
}
export const useMet = (): ShallowRef<Met | undefined> => inject(MET, shallowRef<Met | undefined>())
