/** Half strength is said by name. */
export const HALF = 0.5;

interface Setting {
    highEnd: boolean;
    factor: number;
    recipeSlug: string;
    caseId: number;
    plantId: number;
    courseId: number;
    /** It is made from what stands on the shelf. */
    isStocked: boolean;
    filling: { said: object };
}

/** What is set, as the address says it. */
export function addressOf(state: Setting): string {
    const { highEnd, factor } = state;
    const byName = factor === 1 || (factor === HALF && !highEnd);
    const set = {
        recipe: state.recipeSlug,
        case: state.caseId,
        plant: state.plantId,
        course: state.courseId,
        shelf: state.isStocked ? 1 : 0,
    };
    const dose = highEnd ? 'high' : factor === HALF ? 'half' : '';
    return Object.entries({ ...set, dose, times: byName ? '' : factor, ...state.filling.said })
        .flatMap(([key, value]) => (value ? [`${key}=${encodeURIComponent(String(value))}`] : []))
        .join('&');
}
