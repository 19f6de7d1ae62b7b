/** The texts a house can work under, by the edition they were read in; every rule names one of them. */
export const FOOD_CODE = "FDA Food Code 2022 with its supplement";
export const HAZARDS_GUIDE = "FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022";
export const EU_FISH = "Reg. (EC) 853/2004, as amended";
export const EU_HYGIENE = "Reg. (EC) 852/2004, as amended";
export const UK_FISH = "Reg. (EC) 853/2004 as kept in UK law";
export const ENGLAND = "Food Safety and Hygiene (England) Regulations 2013";
export const SCOTLAND = "Food Hygiene (Scotland) Regulations 2006";
export const FSA = "Food Standards Agency guidance for England";
export const CODEX = "Codex CAC/GL 79-2012";
