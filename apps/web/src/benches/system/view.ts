export const COST_WORDS = ['', 'cheap', 'modest', 'middling', 'dear', 'very expensive'] as const
