/** Where the list of what each screen needs stands, below the folder of the build. */
export const SCRIPT_LIST: string;
/** Settings of the build's scripts for browsers; changed in place. */
export function shareScripts(webpack: object): void;
