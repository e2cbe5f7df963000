import type { DependencyList } from 'react'
import type { HotkeyCallback, Options } from 'react-hotkeys-hook'
import { useHotkeys } from 'react-hotkeys-hook'

/** Keys of the page: they rest wherever something has keys of its own, fields by themselves, a choice by this. */
export function usePageKeys(
  keys: string | readonly string[],
  act: HotkeyCallback,
  options: Options = {},
  deps?: DependencyList,
): void {
  const { ignoreEventWhen } = options
  useHotkeys(
    keys,
    act,
    {
      ...options,
      // A letter on a choice takes the option that begins with it, arrows open it.
      ignoreEventWhen: (event) => isChoice(event.target) || (ignoreEventWhen?.(event) ?? false),
    },
    deps,
  )
}

function isChoice(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('[role=combobox]') !== null
}
