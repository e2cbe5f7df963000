'use client'
import { createContext } from 'react'

/** The nonce of the page as it was loaded: what writes styles of its own has to show it. */
export const PageNonce = createContext('')
