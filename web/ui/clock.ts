import dayjs from 'dayjs';

/** `18:30` */
export const timeOfDay = (iso: string): string => dayjs(iso).format('HH:mm');

/** `Thu 26 Nov 2026, 18:30` */
export const dateAndTime = (iso: string): string => dayjs(iso).format('ddd D MMM YYYY, HH:mm');

/** `1 h 20 min`, `45 min` */
export function duration(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours === 0) return `${whole} min`;
  return whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
}
