export function seedWorkshop(address: string): Promise<void>;
