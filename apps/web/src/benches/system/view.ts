export const COST_WORDS = ['', 'cheap', 'modest', 'middling', 'dear', 'very dear'] as const
