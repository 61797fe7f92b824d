export { CreateJarTestDto, JarTestDto, JarTestForm, partnerKindIds } from './jar-test.dto.ts'
export { jarTestRoutes } from './jar-test.routes.ts'
