/** The day an address asks for; today where it names none that there is. */
export const askedDay = (asked: string | undefined, today: string): string =>
  asked !== undefined && /^\d{4}-\d{2}-\d{2}$/.test(asked) && !Number.isNaN(Date.parse(asked)) ? asked : today;
