import { creates, json, list, one, reads } from '../route/index.ts'
import { CreateJarTestDto, JarTestDto } from './jar-test.dto.ts'

export const jarTestRoutes = {
  all: reads({
    path: '/places/:placeId/jar-tests',
    summary: 'The jar tests of a place, oldest first',
    access: 'see',
    answers: list(JarTestDto),
    topic: 'jar-tests',
  }),
  record: creates({
    path: '/places/:placeId/jar-tests',
    summary: 'Records what was seen in a jar',
    access: 'apply',
    sends: json(CreateJarTestDto),
    answers: one(JarTestDto),
    touches: ['jar-tests'],
  }),
}
