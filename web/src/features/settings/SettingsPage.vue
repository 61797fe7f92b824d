<script setup lang="ts">
import { Skeleton, TabPane, Tabs } from 'ant-design-vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { usePlanning } from '../../api/planning.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import AuditSettings from './people/AuditSettings.vue'
import KeySettings from './people/KeySettings.vue'
import PeopleSettings from './people/PeopleSettings.vue'
import ArchiveSettings from './ArchiveSettings.vue'
import CareSettings from './CareSettings.vue'
import PlaceSettings from './PlaceSettings.vue'
import PracticeSettings from './PracticeSettings.vue'
import StationFile from './StationFile.vue'
import WeatherAddress from './WeatherAddress.vue'
import WorkSettings from './WorkSettings.vue'

/** What holds for the whole place. */
defineProps<{ tab?: string | undefined }>()
const { place, error } = usePlace()
const { may } = useMay()
const planning = usePlanning(() => place.value?.id)
</script>

<template>
  <h1>Settings</h1>
  <ProblemNote :problem="error ?? planning.error.value" />
  <Tabs v-if="place" class="settings" :default-active-key="tab ?? 'place'">
    <TabPane key="place" tab="Place">
      <PlaceSettings :key="place.id" :place="place" />
    </TabPane>
    <TabPane key="work" tab="Crew and rules">
      <WorkSettings :place="place" />
    </TabPane>
    <TabPane key="care" tab="Mowing and watering">
      <CareSettings :stands="planning.data.value?.stands ?? []" />
    </TabPane>
    <TabPane key="weather" tab="Weather">
      <WeatherAddress :key="place.id" :place="place" />
      <h2 class="above-24">A file of a station</h2>
      <p class="faint-note">
        A CSV with time, temperature, rain and wind, one row an hour or oftener; hours are those of
        the station’s clock. Days are judged by it, and by the practice weather where that is on.
      </p>
      <StationFile :place="place" />
    </TabPane>
    <TabPane key="people" tab="People">
      <PeopleSettings :key="place.id" :place="place" />
    </TabPane>
    <TabPane key="keys" tab="Keys of programs">
      <KeySettings :key="place.id" :place="place" />
    </TabPane>
    <TabPane v-if="may('own')" key="audit" tab="Who came in">
      <AuditSettings :key="place.id" :place="place" />
    </TabPane>
    <TabPane key="archive" tab="Archive">
      <ArchiveSettings :place="place" />
    </TabPane>
    <TabPane key="practice" tab="Practice devices">
      <PracticeSettings :key="place.id" :place="place" />
    </TabPane>
  </Tabs>
  <Skeleton v-else active />
</template>
