export interface BackupRunView {
  readonly at: string;
  readonly file?: string | undefined;
  readonly bytes?: number | undefined;
  readonly fault?: string | undefined;
}

/** What became of the nightly backups, newest first. */
export interface BackupsView {
  readonly runs: readonly BackupRunView[];
  /** The last one that can be brought back. */
  readonly last?: BackupRunView | undefined;
  /** True when none was made for so long that somebody should look. */
  readonly overdue: boolean;
}
