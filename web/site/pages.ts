/** Every page of this room, loaded when the first of them is opened. */
export { AccountsPage, loadAccounts } from './AccountsPage.tsx';
export { BackupPage, loadBackups } from './BackupPage.tsx';
export { loadRecord, RecordPage } from './RecordPage.tsx';
export { loadRetention, RetentionPage } from './RetentionPage.tsx';
export { SiteFrame } from './SiteFrame.tsx';
export { loadSessions, YouPage } from './YouPage.tsx';
