/** A coach of another practice, who must see nothing of the first. */
export const STRANGER = { email: 'stranger@elsewhere.example', password: 'another-practice-1' };
