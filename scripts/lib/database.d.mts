/** Somebody else's database: migrated as its owner, served as the role that owns nothing. */
export function outside({ fresh }: { fresh: any }): {
  ownerUrl: string | undefined;
  appUrl: string;
};
export function prepared(
  cluster: any,
  {
    name,
    fresh,
  }: {
    name: any;
    fresh: any;
  },
): any;
export function loadDemo({ ownerUrl, appUrl }: { ownerUrl: any; appUrl: any }): string;
export function makePractice(
  {
    ownerUrl,
  }: {
    ownerUrl: any;
  },
  practice: any,
): string;
