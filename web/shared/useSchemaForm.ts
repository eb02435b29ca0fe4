import { schemaResolver, useForm, type UseFormReturnType } from '@mantine/form';
import type { AnyObjectSchema } from 'yup';

/**
 * A form over the schema that the server checks the same thing by: what it would refuse is seen before it is sent.
 * Which fields are wrong stands in `errors`; the words for it are the page's, not the schema's.
 */
export const useSchemaForm = <T extends Record<string, unknown>>(
  schema: AnyObjectSchema,
  initialValues: T,
): UseFormReturnType<T> =>
  useForm<T>({
    initialValues,
    validate: schemaResolver(schema, { sync: true }),
    validateInputOnChange: true,
  });
