import { rulesOf, schools } from '@omtel/core/guidance';

/** The schools to choose from, by name. */
export const SCHOOL_OPTIONS = schools.map((school) => ({ value: school, label: rulesOf(school).name }));
