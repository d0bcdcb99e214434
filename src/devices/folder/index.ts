export type { Folder, FolderFile, FolderPicker } from "./port";
export { fileSystemFolders } from "./file-system/file-system-folder";
export { standInFolder, type StandInFolder } from "./stand-in/stand-in-folder";
