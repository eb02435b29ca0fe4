import { schemaResolver, useForm, type UseFormReturnType } from '@mantine/form';
import type { AnyObjectSchema } from 'yup';

/**
 * A form over the schema that the server checks the same thing by: what it would refuse is seen before it is sent.
 * Which fields are wrong stands in `errors`; the words for it are the page's, not the schema's. A long form that begins
 * empty says it when it is sent, not while it is still being filled in.
 */
export const useSchemaForm = <T extends Record<string, unknown>>(
  schema: AnyObjectSchema,
  initialValues: T,
  told: 'typed' | 'sent' = 'typed',
  onChange?: (values: T) => void,
): UseFormReturnType<T> =>
  useForm<T>({
    initialValues,
    validate: schemaResolver(schema, { sync: true }),
    validateInputOnChange: told === 'typed',
    ...(onChange && { onValuesChange: onChange }),
  });
