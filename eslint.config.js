import js from '@eslint/js';

const browser = Object.fromEntries(
    [
        'document',
        'window',
        'localStorage',
        'sessionStorage',
        'speechSynthesis',
        'SpeechSynthesisUtterance',
        'indexedDB',
        'fetch',
        'navigator',
        'location',
        'matchMedia',
        'crypto',
        'CSS',
        'FormData',
        'CustomEvent',
        'DOMPoint',
        'Event',
        'MutationObserver',
        'setTimeout',
        'clearTimeout',
        'setInterval',
        'clearInterval',
        'performance',
        'AudioContext',
        'Blob',
        'URL',
        'URLSearchParams',
        'DOMParser',
        'caches',
        'Request',
        'Response',
        'Headers',
        'self',
    ].map((name) => [name, 'readonly']),
);

export default [
    js.configs.recommended,
    {
        languageOptions: { globals: browser },
        rules: { eqeqeq: 'error', 'no-var': 'error', 'prefer-const': 'error', complexity: ['error', 16] },
    },
    { files: ['tests/js/**'], languageOptions: { globals: { process: 'readonly' } } },
];
