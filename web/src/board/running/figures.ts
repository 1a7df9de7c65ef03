/** To the tenth, and nought without a sign. */
export const yards = (gain: number): string => `${(Math.round(gain * 10) / 10 + 0).toFixed(1)} yd`
export const percent = (share: number): string => `${Math.round(100 * share)} %`
