import { useMutation } from '@pinia/colada'
import { useReadAnew } from '../api/use-change.ts'
import { recordTouches, sendRecord } from './send-record.ts'

/** Records a piece of work with its photos. */
export const useRecordEntry = () =>
  useMutation({ mutation: sendRecord, onSettled: useReadAnew(recordTouches) })
