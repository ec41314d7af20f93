/** Where the demo, opened beside her own data, is served: on the same host. */
export interface DemoOpened {
  port: number
}

/** What this server serves. */
export interface DemoHere {
  isDemo: boolean
  /** The port her own kit is served at; null where the demo stands alone. */
  back: number | null
}
