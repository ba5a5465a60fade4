/** A number that must not be mixed with other numbers, told apart at compile time only. */
export type Brand<Base, Name extends string> = Base & { readonly __brand: Name };
