import { IsObject, ValidateBy } from 'class-validator';

/** Figures by their ids, each a number. */
export const AreFigures = (): PropertyDecorator => (target, key) => {
  IsObject()(target, key as string);
  ValidateBy({
    name: 'figures',
    validator: {
      validate: (value) =>
        typeof value === 'object' && value !== null && Object.values(value as object).every(Number.isFinite),
      defaultMessage: () => '$property must be figures by their ids',
    },
  })(target, key as string);
};
