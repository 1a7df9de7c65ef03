import { withValue, type Body } from './written'

export interface SentenceProps {
  body: Body
  readonly: boolean
}

/** One value of the body at a time; what is usual is not written. */
export function useBody(props: SentenceProps, change: (body: Body) => void) {
  const set = (key: string, value: unknown): void => change(withValue(props.body, key, value))
  const setIn = (part: string, key: string, value: unknown): void =>
    set(part, withValue((props.body[part] ?? {}) as Body, key, value))
  const unless = (usual: string, value: string): string => (value === usual ? '' : value)
  const said = (key: string, usual = ''): string => {
    const value = props.body[key]
    return typeof value === 'string' || typeof value === 'number' ? String(value) : usual
  }
  return { set, setIn, unless, said }
}
