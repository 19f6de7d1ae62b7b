import { z } from "zod";

export const Guests = z.strictObject({ susceptibleGuests: z.boolean() });
