import { registerDecorator, type ValidationArguments } from 'class-validator';

/** The field is no less than another number of the same body. */
export function AtLeast(other: string) {
  return (body: object, propertyName: string): void => {
    registerDecorator({
      name: 'atLeast',
      target: body.constructor,
      propertyName,
      constraints: [other],
      validator: {
        validate: (value: unknown, { object }: ValidationArguments) =>
          Number(value) >= Number((object as Record<string, unknown>)[other]),
        defaultMessage: () => `${propertyName} must not be less than ${other}`,
      },
    });
  };
}
