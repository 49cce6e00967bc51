import { useEffect } from 'react';
import { type DefaultValues, type FieldValues, type Resolver, useForm } from 'react-hook-form';
import { useTyped } from './useTyped.ts';

/**
 * A form with checked fields whose contents are kept until they are saved, as `useTyped` keeps them.
 *
 * @param name of the form and of what it is about
 * @param start what is saved, when the form is opened
 */
export function useTypedForm<Form extends FieldValues>(
  name: string,
  start: Form,
  resolver: Resolver<Form>,
) {
  const typed = useTyped(name, start);
  const form = useForm<Form>({ defaultValues: typed.value as DefaultValues<Form>, resolver });
  const { set: keep, saved, wasFound } = typed;
  const now = JSON.stringify(form.watch());
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is typed is kept when it has changed
  useEffect(() => keep(form.getValues()), [now]);
  const startOver = () => {
    typed.startOver();
    form.reset(start);
  };
  return { form, typed: { wasFound, startOver, saved } };
}
