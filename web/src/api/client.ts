import createClient from 'openapi-fetch'
import type { paths } from './schema'

/** What the server says when it refuses: RFC 9457 with a stable code of ours. */
export interface Problem {
  status: number
  code: string
  detail: string
  at?: number
  word?: string
  expected?: string[]
  /** Number under which a fault is logged. */
  request?: string
  problems?: { document: string; where: string; message: string; at: number; expected: string[] }[]
}

/** Thrown for every refusal, so that no caller mistakes one for an answer. */
export class RefusedError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

let onSignedOut: () => void = () => {}
export function whenSignedOut(told: () => void): void {
  onSignedOut = told
}

let onTrouble: (problem: Problem) => void = () => {}
/** Told of what is nobody's input: no answer at all, a database that is away, a fault of the application. */
export function whenTroubled(told: (problem: Problem) => void): void {
  onTrouble = told
}
function troubled(problem: Problem): RefusedError {
  onTrouble(problem)
  return new RefusedError(problem)
}

/** What proves that a question comes from this page; empty before the first answer. */
export const token = (): string => decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')

/** Every question proves that this page asks it. It leaves at once: a pause here would let the page be drawn first. */
function withToken(request: Request): Promise<Response> {
  if (token()) request.headers.set('X-XSRF-TOKEN', token())
  return fetch(request)
}

export const client = createClient<paths>({ baseUrl: location.origin, fetch: withToken })

/** Says over which version is written; refused when somebody wrote since. */
export const over = (version: number): { 'If-Match': string } => ({ 'If-Match': `"${version}"` })

/** The data of an answer, or a RefusedError. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch {
    throw troubled({
      status: 0,
      code: 'unreachable',
      detail: 'The application does not answer. What you typed is kept; try again when it runs.',
    })
  }
  if (result.response.ok) return result.data as T
  const problem = {
    status: result.response.status,
    code: 'unknown',
    detail: result.response.statusText,
    ...(result.error as object),
  } as Problem
  if (problem.status >= 500) throw troubled(problem)
  if (problem.status === 401 && problem.code !== 'sign-in-refused') onSignedOut()
  if (problem.status === 403 && (await signedOut())) {
    onSignedOut()
    problem.detail = 'You are signed out. What you typed is kept; sign in and go on.'
  } else if (problem.status === 403)
    problem.detail = 'This is for coaches: you may not see it, or not change it. Ask a coordinator.'
  throw new RefusedError(problem)
}

/** A refusal may only mean that the session's cookies are gone; asking who is signed in tells, and brings a fresh token. */
async function signedOut(): Promise<boolean> {
  return fetch('/api/session').then(
    (r) => r.status === 204,
    () => false,
  )
}

export function problemOf(error: unknown): Problem {
  return error instanceof RefusedError ? error.problem : { status: 0, code: 'unexpected', detail: String(error) }
}

/** What went wrong, in words; empty for nothing. */
export const faultOf = (error: unknown): string => (error ? problemOf(error).detail : '')
