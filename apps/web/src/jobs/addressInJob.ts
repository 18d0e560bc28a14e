import { useLocation } from 'react-router'

/** What follows the job in an address: `fuel/order` of `/jobs/…/fuel/order`. */
export const addressInJob = (pathname: string): string => pathname.split('/').slice(3).filter(Boolean).join('/')

/** Address within the open job. */
export const useAddressInJob = (): string => addressInJob(useLocation().pathname)
