/** Where a person's tokens are remembered; undefined for one's own. */
export const tokensKey = (person?: string) => ['tokens', person ?? 'mine'] as const
