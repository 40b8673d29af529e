import { useQuery } from '@tanstack/vue-query'
import { api, got } from '../api/client'

/** What can be chosen, in the server's words. */
export function useChoices() {
  return useQuery({ queryKey: ['choices'], queryFn: () => got(api.GET('/api/choices')), staleTime: Infinity })
}

export function useSpecies() {
  return useQuery({ queryKey: ['species'], queryFn: () => got(api.GET('/api/species')), staleTime: 60_000 })
}

export function useFields() {
  return useQuery({ queryKey: ['fields'], queryFn: () => got(api.GET('/api/fields')) })
}

export function useMachines() {
  return useQuery({ queryKey: ['machines'], queryFn: () => got(api.GET('/api/machines')) })
}
