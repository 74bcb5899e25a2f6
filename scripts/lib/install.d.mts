export const ROOT: string;
export function refuse(message: string, code?: number): never;
export function nodeProblem(version: string): string | undefined;
export function requireNode(): void;
export function run(command: string, args: string[], env?: Record<string, string>): number;
export function ensureInstalled(): void;
