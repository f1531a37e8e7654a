/** What each screen is for, by the beginning of its address; the longer one goes first. */
const SCREENS: [string, string][] = [
    ['/batches/', say('parts/help.batch')],
    ['/batches', say('parts/help.batches')],
    ['/bench', say('parts/help.bench')],
    ['/bed', say('parts/help.bed')],
    ['/cases/', say('parts/help.case')],
    ['/courses', say('parts/help.course')],
    ['/day', say('parts/help.day')],
    ['/eye', say('parts/help.eye')],
    ['/labels', say('parts/help.label')],
    ['/leaf-tests', say('parts/help.leaf-test')],
    ['/look', say('parts/help.look')],
    ['/plants', say('parts/help.plants')],
    ['/recipes', say('parts/help.recipes')],
    ['/runs', say('parts/help.run')],
    ['/season', say('parts/help.season')],
    ['/shed', say('parts/help.shed')],
    ['/shelf', say('parts/help.shelf')],
    ['/sprayers', say('parts/help.sprayer')],
    ['/sums', say('parts/help.sums')],
    ['/trials', say('parts/help.trials')],
    ['/worked', say('parts/help.worked')],
    ['/', say('parts/help.today')],
];

export const about = (path: string): string =>
    path.endsWith('/choose') ? say('parts/help.choose') : (SCREENS.find(([begins]) => path.startsWith(begins))?.[1] ?? '');
