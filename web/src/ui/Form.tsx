import { yupResolver } from '@hookform/resolvers/yup';
import { minPassword } from '@tropaeum/core/people/permissions';
import { useId } from 'react';
import {
  type DefaultValues,
  type FieldPath,
  type FieldValues,
  type UseFormReturn,
  useForm as useFormOf,
} from 'react-hook-form';
import { type ObjectSchema, string } from 'yup';
import { ApiError } from '../api/client';

/** A password that is set. */
export const newPassword = string()
  .required('is required')
  .min(minPassword, `must be ${minPassword} characters or more`)
  .max(200, 'must be 200 characters or fewer');

/** A form with its rules; what the server refuses stands at the field it meant. */
export function useForm<T extends FieldValues>(schema: ObjectSchema<T>, defaultValues: DefaultValues<T>) {
  const form = useFormOf<T, unknown, T>({
    resolver: yupResolver(schema) as never,
    defaultValues,
    mode: 'onTouched',
  });
  /** Sends what is right; `fieldOf` says which field a path of the server means. */
  const sends = (send: (values: T) => Promise<void>, fieldOf: (path: string) => string = (path) => path) =>
    form.handleSubmit(async (values) => {
      try {
        await send(values);
      } catch (error) {
        if (!(error instanceof ApiError) || error.faults.length === 0) {
          form.setError('root', { message: error instanceof ApiError ? error.message : 'It failed. Try again.' });
          return;
        }
        for (const fault of error.faults) {
          const name = fieldOf(fault.path);
          const known = name in form.getValues();
          form.setError((known ? name : 'root') as FieldPath<T>, {
            message: known ? fault.message : `${fault.path} ${fault.message}`,
          });
        }
      }
    });
  return { ...form, sends };
}

interface FieldProps<T extends FieldValues> extends Omit<React.ComponentProps<'input'>, 'form' | 'name'> {
  form: Pick<UseFormReturn<T>, 'register' | 'formState'>;
  name: FieldPath<T>;
  label: string;
}

/** One labelled field of a form, and under it what is wrong with it. */
export function Field<T extends FieldValues>({ form, name, label, className = '', ...input }: FieldProps<T>) {
  const id = useId();
  const message = form.formState.errors[name]?.message as string | undefined;
  return (
    <div className={className}>
      <label className="label block" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        className="field mt-0.5"
        aria-invalid={message !== undefined}
        {...(message ? { 'aria-describedby': `${id}-fault` } : {})}
        {...input}
        {...form.register(name)}
      />
      {message && (
        <p id={`${id}-fault`} className="text-small text-oxide">
          {message}
        </p>
      )}
    </div>
  );
}

/** What is wrong with the form as a whole. */
export function FormProblem({ form }: { form: { formState: { errors: { root?: { message?: string } } } } }) {
  const { root } = form.formState.errors;
  return (
    <p role="alert" className="min-h-5 text-small text-oxide">
      {root?.message ?? ''}
    </p>
  );
}

/** One labelled choice among some. */
export function Choice({ label, className = '', ...select }: React.ComponentProps<'select'> & { label: string }) {
  const id = useId();
  return (
    <div className={className}>
      <label className="label block" htmlFor={id}>
        {label}
      </label>
      <select id={id} className="field mt-0.5" {...select} />
    </div>
  );
}
