import { houseFile, openDatabase } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { makeDemoHouse } from "@/demo/house";

// called by the scripts: fills the house in GAFFEL_DATA if it is empty
const db = openDatabase(houseFile());
if (!findHouse(db)) makeDemoHouse(db, Date.now());
